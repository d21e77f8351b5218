package app.zumbido.server.guard;

import app.zumbido.server.storage.CannotStartException;
import java.net.InetAddress;
import java.net.URI;
import java.util.Locale;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Under which address others reach the server, where somebody has asked for that by name; otherwise nobody else does. */
@Component
class PublicAddress {
    private final Optional<URI> address;

    /**
     * @param wanted as in {@code https://colours.example.org}; empty: only this computer
     * @param listening the address of the network that the server listens at
     */
    PublicAddress(
            @Value("${zumbido.public-address}") String wanted, @Value("${server.address}") InetAddress listening) {
        address = wanted.isBlank() ? Optional.empty() : Optional.of(parsed(wanted.strip()));
        if (address.isEmpty() && !listening.isLoopbackAddress()) {
            throw new CannotStartException(
                    "Zumbido would answer to other computers at " + listening.getHostAddress()
                            + ", and nobody said under which address",
                    "Say it with --public-address https://NAME, and read docs/team.md first: there is no sign-in");
        }
    }

    private static URI parsed(String wanted) {
        try {
            URI uri = URI.create(wanted.toLowerCase(Locale.ROOT).replaceFirst("/$", ""));
            boolean web = "https".equals(uri.getScheme()) || "http".equals(uri.getScheme());
            if (web && uri.getHost() != null && uri.getPath().isEmpty() && uri.getQuery() == null) {
                return uri;
            }
        } catch (IllegalArgumentException e) {
            // Said below.
        }
        throw new CannotStartException(
                "The address " + wanted + " is none that a browser can open",
                "Write it as in --public-address https://colours.example.org");
    }

    /** @return what browsers send as the host; nothing if nobody else reaches the server */
    Optional<String> host() {
        return address.map(URI::getAuthority);
    }

    /** @return what browsers send as the origin */
    Optional<String> origin() {
        return address.map(URI::toString);
    }

    /** After where the page is. */
    @Order(Ordered.LOWEST_PRECEDENCE)
    @EventListener(ApplicationReadyEvent.class)
    void warn() {
        address.ifPresent(uri -> System.out.println("It is also reached at " + uri
                + ", by everybody who reaches that address, and asks nobody who they are:"
                + " put a sign-in in front of it (docs/team.md)"));
    }
}
