package app.zumbido.server.workshop;

import java.io.Serializable;
import java.nio.file.Path;
import java.time.Duration;

/** Does tasks at once and in this process, for tests of those who give them. */
public final class WorkshopHere extends Workshop {
    public WorkshopHere() {
        super(Duration.ofSeconds(1), "none", Path.of("nowhere"));
    }

    @Override
    public <T extends Serializable> T run(Task<T> task) {
        return task.run();
    }
}
