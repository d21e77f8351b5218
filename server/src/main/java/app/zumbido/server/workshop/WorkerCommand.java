package app.zumbido.server.workshop;

import java.io.File;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.jar.JarFile;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.util.FileSystemUtils;

/**
 * How a worker is started: by the same Java, with the same classes, with a heap of its own, and with a folder of its own for
 * what libraries put on the disk, which goes when it ends however it ends.
 */
final class WorkerCommand {
    private static final Logger LOG = LoggerFactory.getLogger(WorkerCommand.class);

    /** Enough for a page or a drawing with large pictures in it. */
    private static final String HEAP = "-Xmx384m";

    private final List<String> command;
    private final Path onItsWay;

    /** @param onItsWay where the folders of workers lie */
    WorkerCommand(String mainClass, Path onItsWay) {
        this(mainClass, onItsWay, archiveOfClasses());
    }

    /** @param options of Java, besides those that every worker has */
    WorkerCommand(String mainClass, Path onItsWay, List<String> options) {
        this.command = command(mainClass, options);
        this.onItsWay = onItsWay;
    }

    Process start() throws IOException {
        Path scratch = Files.createTempDirectory(onItsWay, "drawing");
        List<String> inItsFolder = new ArrayList<>(command);
        // The first of them is the program; options of Java may stand right behind it.
        inItsFolder.add(1, "-Djava.io.tmpdir=" + scratch);
        try {
            Process process = new ProcessBuilder(inItsFolder)
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            process.onExit().thenRun(() -> clear(scratch));
            return process;
        } catch (IOException e) {
            clear(scratch);
            throw e;
        }
    }

    private static void clear(Path scratch) {
        try {
            FileSystemUtils.deleteRecursively(scratch);
        } catch (IOException e) {
            LOG.warn("What a worker left in {} is cleared away at the next start: {}", scratch, e.getMessage());
        }
    }

    /** An archive of loaded classes holds for the same class path, which makes starting a matter of half a second. */
    private static List<String> archiveOfClasses() {
        return ManagementFactory.getRuntimeMXBean().getInputArguments().stream()
                .filter(argument -> argument.startsWith("-XX:SharedArchiveFile"))
                .toList();
    }

    private static List<String> command(String mainClass, List<String> options) {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                HEAP,
                "-XX:+UseSerialGC",
                // Tasks are short: compiling them for speed took more of a processor than it saved; measured on slides.
                "-XX:TieredStopAtLevel=1",
                "-XX:+ExitOnOutOfMemoryError",
                // Standard output is for answers; what Java itself has to say would stand in the midst of them.
                "-Xlog:disable",
                "-XX:+DisplayVMOutputToStderr",
                "-Djava.awt.headless=true"));
        command.addAll(options);
        String classes = System.getProperty("java.class.path");
        if (unpacksItself(classes)) {
            command.addAll(List.of("-jar", classes));
        } else {
            command.addAll(List.of("-cp", classes, mainClass));
        }
        command.add(WorkerProgram.ARGUMENT);
        return command;
    }

    /** Whether the class path is the one jar in which all the others lie. */
    private static boolean unpacksItself(String classPath) {
        if (classPath.contains(File.pathSeparator) || !classPath.endsWith(".jar")) {
            return false;
        }
        try (JarFile jar = new JarFile(classPath)) {
            return jar.getManifest() != null
                    && jar.getManifest().getMainAttributes().getValue("Start-Class") != null;
        } catch (IOException e) {
            return false;
        }
    }
}
