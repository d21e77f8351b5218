package app.zumbido.server.guard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.server.storage.CannotStartException;
import jakarta.servlet.ServletException;
import java.io.IOException;
import java.net.InetAddress;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class PublicAddressTest {
    private static InetAddress address(String text) throws IOException {
        return InetAddress.getByName(text);
    }

    /** Whoever binds it to the network has to say what it is called there. */
    @Test
    void answersToOtherComputersOnlyWhereItIsAskedForByName() throws IOException {
        assertThat(new PublicAddress("", address("127.0.0.1")).host()).isEmpty();
        assertThatThrownBy(() -> new PublicAddress("", address("0.0.0.0")))
                .isInstanceOf(CannotStartException.class)
                .hasMessageContaining("would answer to other computers");
        assertThat(new PublicAddress("https://Colours.example.org/", address("0.0.0.0")).origin())
                .contains("https://colours.example.org");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"colours.example.org", "ftp://colours.example.org", "https://", "https://a/b", "https://a b"})
    void takesOnlyWhatABrowserCanOpen(String wanted) {
        assertThatThrownBy(() -> new PublicAddress(wanted, address("127.0.0.1")))
                .isInstanceOf(CannotStartException.class);
    }

    @ParameterizedTest
    @CsvSource({
        "colours.example.org,https://colours.example.org,200",
        "colours.example.org,http://colours.example.org,403",
        "colours.example.org,https://evil.example,403",
        "evil.example,https://colours.example.org,403",
        "localhost:80,http://localhost:80,200"
    })
    void guardsThatAddressAsItGuardsItsOwn(String host, String origin, int status)
            throws ServletException, IOException {
        MockHttpServletRequest request = new MockHttpServletRequest("POST", "/api/brands");
        request.addHeader("Host", host);
        request.addHeader("Origin", origin);
        MockHttpServletResponse response = new MockHttpServletResponse();
        new OriginGuard(new PublicAddress("https://colours.example.org", address("127.0.0.1")))
                .doFilter(request, response, new MockFilterChain());
        assertThat(response.getStatus()).isEqualTo(status);
    }
}
