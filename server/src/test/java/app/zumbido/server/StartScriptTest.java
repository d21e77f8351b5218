package app.zumbido.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the script that starts a package says to options that mean nothing, before anything is started. */
class StartScriptTest {
    @TempDir
    private Path empty;

    private record Ended(int code, String said) {}

    private Ended start(String... options) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of("bash", "start.sh", "start"));
        command.addAll(List.of(options));
        ProcessBuilder script = new ProcessBuilder(command).redirectErrorStream(true);
        script.environment().put("ZUMBIDO_JAVA", "java");
        script.environment().put("ZUMBIDO_APP", empty.toString());
        Process process = script.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Ended(process.waitFor(), said);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '"',
            value = {
                "--memory | much | --memory needs a whole number, not 'much'",
                "--memory | 100 | --memory 100 is too little; ten people need 512",
                "--port | 80a | --port needs a whole number, not '80a'",
                "--port | 70000 | --port 70000 is too large; ports end at 65535",
                "--colour | red | unknown option --colour",
            })
    void saysWhatIsWrongWithAnOption(String option, String value, String said) throws Exception {
        Ended ended = start(option, value);
        assertThat(ended.code()).isEqualTo(1);
        assertThat(ended.said()).endsWith("zumbido: " + said + "\n");
    }

    @Test
    void saysThatTheProgramIsMissing() throws Exception {
        Ended ended = start("--port", "0", "--memory", "512");
        assertThat(ended.code()).isEqualTo(1);
        assertThat(ended.said()).isEqualTo("zumbido: the program is missing at " + empty + "\n");
    }
}
