package app.zumbido.server.storage;

import java.time.Instant;
import org.apache.ibatis.type.MappedTypes;

/** Instants as ISO-8601 text; the built-in handler loses microseconds on SQLite. */
@MappedTypes(Instant.class)
public class InstantTypeHandler extends TextTypeHandler<Instant> {
    public InstantTypeHandler() {
        super(Instant::parse);
    }
}
