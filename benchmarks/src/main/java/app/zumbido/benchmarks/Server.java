package app.zumbido.benchmarks;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The packed server in a process of its own, and one who asks it. */
record Server(Process process, String address, HttpClient client) {
    private static final Pattern BRAND = Pattern.compile("\"id\":\"([^\"]+)\"");
    private static final Pattern SWATCH = Pattern.compile("\"swatches\":\\[\\{\"id\":\"([^\"]+)\"");
    private static final String READY = "Zumbido is ready at ";

    static Server start(Path run, Path data, String... options) throws IOException {
        return start(List.of(), run, data, options);
    }

    /** @param java options of the machine that it runs on */
    static Server start(List<String> java, Path run, Path data, String... options) throws IOException {
        List<String> command = new ArrayList<>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        command.addAll(java);
        command.addAll(List.of(
                "-XX:SharedArchiveFile=zumbido.jsa",
                "-Xlog:cds=off",
                "-Xlog:cds+dynamic=off",
                "-XX:+UseSerialGC",
                "-Djava.awt.headless=true",
                "-jar",
                "zumbido.jar",
                "--server.port=0",
                "--zumbido.data=" + data.toAbsolutePath()));
        command.addAll(List.of(options));
        // The archive of classes holds for names as they are seen from its folder.
        Process process = new ProcessBuilder(command)
                .directory(run.toFile())
                .redirectErrorStream(true)
                .start();
        BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        for (String line = out.readLine(); line != null; line = out.readLine()) {
            if (line.startsWith(READY)) {
                drain(out);
                return new Server(process, line.substring(READY.length()), HttpClient.newHttpClient());
            }
        }
        throw new IOException("The server did not start");
    }

    /** A pipe that nobody reads would stop the server once it is full. */
    private static void drain(BufferedReader out) {
        Thread thread = new Thread(() -> {
            try (out) {
                while (out.readLine() != null) {
                    // Read away.
                }
            } catch (IOException e) {
                // The server has ended, and its output with it.
            }
        });
        thread.setDaemon(true);
        thread.start();
    }

    void stop() throws InterruptedException {
        process.destroy();
        process.waitFor();
    }

    /** @param path from the root, as {@code /api/brands} */
    HttpResponse<String> send(String method, String path, String body) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .header("If-Match", "*")
                .method(method, BodyPublishers.ofString(body))
                .build();
        return client.send(request, BodyHandlers.ofString());
    }

    /** @param to as {@code /api/packages} */
    HttpResponse<String> send(String to, String type, BodyPublisher body) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + to))
                .header("Content-Type", type)
                .POST(body)
                .build();
        return client.send(request, BodyHandlers.ofString());
    }

    /** @param to as {@code /api/brands/.../sources} */
    HttpResponse<String> upload(String to, String name, byte[] file) throws IOException, InterruptedException {
        String boundary = "between-the-parts";
        return send(
                to,
                "multipart/form-data; boundary=" + boundary,
                BodyPublishers.concat(
                        BodyPublishers.ofString("--" + boundary
                                + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"" + name
                                + "\"\r\n\r\n"),
                        BodyPublishers.ofByteArray(file),
                        BodyPublishers.ofString("\r\n--" + boundary + "--\r\n")));
    }

    /** Sends something, and a refusal ends the run. */
    String answer(String method, String path, String body) throws IOException, InterruptedException {
        HttpResponse<String> answer = send(method, path, body);
        if (answer.statusCode() >= 300) {
            throw new IOException(method + " " + path + " was refused: " + answer.body());
        }
        return answer.body();
    }

    /** @return path of a new brand */
    String brand(String name) throws IOException, InterruptedException {
        return "/api/brands/" + first(BRAND, answer("POST", "/api/brands", "{\"name\":\"" + name + "\"}"));
    }

    /** @return path of a copy of a brand */
    String copy(String brand, String name) throws IOException, InterruptedException {
        return "/api/brands/" + first(BRAND, answer("POST", brand + "/copy", "{\"name\":\"" + name + "\"}"));
    }

    /** @return path of the first brand on the shelf */
    String firstBrand() throws IOException, InterruptedException {
        return "/api/brands/" + first(BRAND, answer("GET", "/api/brands", ""));
    }

    /** @return path of the first swatch of a brand */
    String firstSwatch(String brand) throws IOException, InterruptedException {
        return brand + "/swatches/" + first(SWATCH, answer("GET", brand, ""));
    }

    private static String first(Pattern pattern, String answer) throws IOException {
        Matcher found = pattern.matcher(answer);
        if (!found.find()) {
            throw new IOException("Nothing matches " + pattern + " in " + answer);
        }
        return found.group(1);
    }
}
