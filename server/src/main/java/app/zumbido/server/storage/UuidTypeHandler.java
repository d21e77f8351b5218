package app.zumbido.server.storage;

import java.util.UUID;
import org.apache.ibatis.type.MappedTypes;

/** Ids as text, as people see them in paths. */
@MappedTypes(UUID.class)
public class UuidTypeHandler extends TextTypeHandler<UUID> {
    public UuidTypeHandler() {
        super(UUID::fromString);
    }
}
