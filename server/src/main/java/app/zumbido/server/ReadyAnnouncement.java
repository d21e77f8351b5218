package app.zumbido.server;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says on standard output where the page is, for people and for scripts that wait for it. */
@Component
class ReadyAnnouncement {
    @EventListener
    void announce(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof ServletWebServerApplicationContext context
                && context.getWebServer() != null) {
            System.out.println("Zumbido is ready at http://localhost:"
                    + context.getWebServer().getPort());
        }
    }
}
