package pelluna.app.writes;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.util.MultiValueMap;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;
import org.springframework.web.util.UriComponentsBuilder;
import pelluna.app.limits.Refused;

/**
 * What is refused comes back as the page it was typed on, with what was typed still in it, and says so by its status.
 */
@Configuration
class RefusedPages {
    /** Set on a request whose write was refused: the reason, as a {@link Refused}. */
    private static final String REFUSED = RefusedPages.class.getName();

    /** A view: the page of a refusal instead of a redirect to it. */
    static String show(HttpServletRequest request, HttpServletResponse response, String location) {
        return show(request, response, location, HttpStatus.UNPROCESSABLE_CONTENT.value());
    }

    static String show(HttpServletRequest request, HttpServletResponse response, String location, int status) {
        MultiValueMap<String, String> asked =
                UriComponentsBuilder.fromUriString(location).build().getQueryParams();
        request.setAttribute(
                REFUSED, new Refused(plain(asked.getFirst(Refused.FIELD)), plain(asked.getFirst(Refused.WHY))));
        response.setStatus(status);
        int hash = location.indexOf('#');
        return "forward:" + (hash < 0 ? location : location.substring(0, hash));
    }

    private static String plain(String encoded) {
        return encoded == null ? "" : URLDecoder.decode(encoded, StandardCharsets.UTF_8);
    }

    private static Refused reason(HttpServletRequest request) {
        return (Refused) request.getAttribute(REFUSED);
    }

    /** The page of a refused write is filled in after it was forwarded to, so its answer must stay open. */
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> refusalsStayOpen() {
        return server -> server.addContextCustomizers(context -> context.setSuspendWrappedResponseAfterForward(false));
    }

    @Bean
    FilterRegistrationBean<OncePerRequestFilter> typedAgain() {
        return filter(new TypedAgain(), DispatcherType.REQUEST, 0);
    }

    @Bean
    FilterRegistrationBean<OncePerRequestFilter> refusalRead() {
        return filter(new ReadsOnly(), DispatcherType.FORWARD, 1);
    }

    @Bean
    FilterRegistrationBean<OncePerRequestFilter> addressesSayNothing() {
        return filter(new AddressesSayNothing(), DispatcherType.REQUEST, 1);
    }

    private static FilterRegistrationBean<OncePerRequestFilter> filter(
            OncePerRequestFilter filter, DispatcherType type, int order) {
        FilterRegistrationBean<OncePerRequestFilter> bean = new FilterRegistrationBean<>(filter);
        bean.setDispatcherTypes(type);
        bean.setOrder(order);
        return bean;
    }

    /** Buffers what a write answers, and fills a refused form again. */
    private static final class TypedAgain extends OncePerRequestFilter {
        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            if (!request.getMethod().equals("POST")) {
                chain.doFilter(request, response);
                return;
            }
            ContentCachingResponseWrapper answer = new ContentCachingResponseWrapper(response);
            chain.doFilter(request, answer);
            String type = answer.getContentType();
            boolean page = type != null && type.startsWith("text/html") && request.getAttribute(REFUSED) != null;
            if (page) {
                String html = new String(answer.getContentAsByteArray(), StandardCharsets.UTF_8);
                answer.resetBuffer();
                answer.getOutputStream()
                        .write(TypedForm.fill(html, request.getRequestURI(), request.getParameterMap(), reason(request))
                                .getBytes(StandardCharsets.UTF_8));
            }
            answer.copyBodyToResponse();
        }
    }

    /** Why something was refused is known to this server alone: whoever makes an address cannot put words on a page. */
    private static final class AddressesSayNothing extends OncePerRequestFilter {
        @Override
        protected boolean shouldNotFilter(HttpServletRequest request) {
            return request.getQueryString() == null;
        }

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            chain.doFilter(new WithoutRefusal(request), response);
        }
    }

    /** The page of a refusal is read, not written to. */
    private static final class ReadsOnly extends OncePerRequestFilter {
        @Override
        protected boolean shouldNotFilter(HttpServletRequest request) {
            return request.getAttribute(REFUSED) == null;
        }

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            chain.doFilter(new ReadRequest(request), response);
        }
    }
}
