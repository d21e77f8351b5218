package app.zumbido.server.guard;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets only this computer's own page and scripts in, and the page under the address that was asked for. The server listens on loopback; a foreign page in the same browser
 * could still send requests here, under its own origin or, by a name that resolves to loopback, under a foreign host.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class OriginGuard extends OncePerRequestFilter {
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");
    private static final Set<String> SAME_SITE = Set.of("same-origin", "none");

    private final PublicAddress publicAddress;

    OriginGuard(PublicAddress publicAddress) {
        this.publicAddress = publicAddress;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Set<String> local = local(request.getLocalPort());
        addHeaders(response);
        String host = String.valueOf(request.getHeader(HttpHeaders.HOST));
        if (!local.contains(host) && !publicAddress.host().equals(Optional.of(host))) {
            refuse(response, "The host is not this computer");
        } else if (!READING.contains(request.getMethod()) && isForeign(request, local)) {
            refuse(response, "Changes are taken from this page only");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static Set<String> local(int port) {
        return Set.of("localhost:" + port, "127.0.0.1:" + port, "[::1]:" + port);
    }

    private boolean isForeign(HttpServletRequest request, Set<String> local) {
        @Nullable String origin = request.getHeader(HttpHeaders.ORIGIN);
        @Nullable String site = request.getHeader("Sec-Fetch-Site");
        boolean foreignOrigin = origin != null
                && local.stream().noneMatch(host -> origin.equals("http://" + host))
                && !publicAddress.origin().equals(Optional.of(origin));
        return foreignOrigin || site != null && !SAME_SITE.contains(site);
    }

    private static void addHeaders(HttpServletResponse response) {
        response.setHeader(
                "Content-Security-Policy",
                "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self'; font-src 'self'; "
                        + "connect-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'");
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        response.setHeader("Referrer-Policy", "no-referrer");
    }

    private static void refuse(HttpServletResponse response, String why) throws IOException {
        response.setStatus(HttpServletResponse.SC_FORBIDDEN);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getWriter()
                .write("{\"type\":\"/problems/foreign-request\",\"title\":\"Request from elsewhere\",\"status\":403,"
                        + "\"detail\":\"" + why + "\"}");
    }
}
