package app.zumbido.e2e;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The packed server in a process of its own, on a free port. */
final class RunningServer implements AutoCloseable {
    private static final String READY = "Zumbido is ready at ";

    private final Process process;
    private final String address;

    private RunningServer(Process process, String address) {
        this.process = process;
        this.address = address;
    }

    /**
     * @param data the folder that it keeps everything in
     * @param port 0 for any free one
     */
    static RunningServer start(Path data, int port, String... options) throws IOException {
        return start(List.of(), data, port, options);
    }

    /** @param before what the program is started by, as in {@code bash -c} */
    static RunningServer start(List<String> before, Path data, int port, String... options) throws IOException {
        Path jar = Path.of(System.getProperty("zumbido.jar")).toRealPath();
        List<String> command = new ArrayList<>(before);
        command.addAll(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:SharedArchiveFile=zumbido.jsa",
                "-Xlog:cds=off",
                "-Xlog:cds+dynamic=off",
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-Djava.awt.headless=true",
                "-jar",
                "zumbido.jar",
                "--server.port=" + port,
                "--zumbido.data=" + data.toAbsolutePath()));
        command.addAll(List.of(options));
        // The archive of classes holds for names as they are seen from its folder.
        Process process = new ProcessBuilder(command)
                .directory(jar.getParent().toFile())
                .redirectErrorStream(true)
                .start();
        BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        StringBuilder said = new StringBuilder();
        for (String line = out.readLine(); line != null; line = out.readLine()) {
            if (line.startsWith(READY)) {
                drain(out);
                return new RunningServer(process, line.substring(READY.length()));
            }
            said.append(line).append('\n');
        }
        throw new IOException("The server did not start:\n" + said);
    }

    /** A pipe that nobody reads would stop the server once it is full. */
    private static void drain(BufferedReader out) {
        Thread thread = new Thread(
                () -> {
                    try (out) {
                        out.lines().forEach(System.out::println);
                    } catch (IOException | UncheckedIOException e) {
                        // The server has ended, and its output with it.
                    }
                },
                "server output");
        thread.setDaemon(true);
        thread.start();
    }

    /** @return as in {@code http://localhost:8484} */
    String address() {
        return address;
    }

    int port() {
        return Integer.parseInt(address.substring(address.lastIndexOf(':') + 1));
    }

    /** Ends it at once, as a power cut would: signal 9. */
    void kill() {
        process.destroyForcibly();
        try {
            process.waitFor();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() {
        end();
    }

    /** Tells it to end, as a system does that is shut down: signal 15. */
    void end() {
        process.destroy();
        try {
            if (!process.waitFor(20, TimeUnit.SECONDS)) {
                process.destroyForcibly().waitFor();
            }
        } catch (InterruptedException e) {
            process.destroyForcibly();
            Thread.currentThread().interrupt();
        }
    }
}
