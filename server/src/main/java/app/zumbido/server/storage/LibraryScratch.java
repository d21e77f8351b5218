package app.zumbido.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Where libraries put down what they need for a while: among what is on its way, as we do. In the system's own folder it
 * would stay after each end that nobody announced, and large uploads would need room there too.
 */
@Component
class LibraryScratch implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final DataFolder folder;

    LibraryScratch(DataFolder folder) {
        this.folder = folder;
    }

    /** Parts of uploads that wait on the disk. */
    @Override
    public void customize(TomcatServletWebServerFactory tomcat) {
        tomcat.setBaseDirectory(own("web").toFile());
        // Pages come from the program; without a folder named here an empty one would be made elsewhere.
        tomcat.setDocumentRoot(own("no-pages").toFile());
    }

    /** The driver's library, which lies packed in the program. */
    void ofDatabase() {
        System.setProperty("org.sqlite.tmpdir", own("sqlite").toString());
    }

    private Path own(String name) {
        try {
            return Files.createDirectories(folder.onItsWay().resolve(name));
        } catch (IOException e) {
            throw CannotStartException.cannotBeWritten(folder.root(), e);
        }
    }
}
