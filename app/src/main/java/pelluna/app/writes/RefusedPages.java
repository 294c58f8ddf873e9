package pelluna.app.writes;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;
import pelluna.app.limits.Refused;
import pelluna.words.Words;

/**
 * What is refused comes back as the page it was typed on, with what was typed still in it, and says so by its status.
 */
@Configuration
class RefusedPages {
    /** A view: the page of a refusal instead of a redirect to it. */
    static String show(HttpServletRequest request, HttpServletResponse response, String location, Refused why) {
        Refused.show(request, why);
        response.setStatus(why.status());
        int hash = location.indexOf('#');
        return "forward:" + (hash < 0 ? location : location.substring(0, hash));
    }

    /** The page of a refused write is filled in after it was forwarded to, so its answer must stay open. */
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> refusalsStayOpen() {
        return server -> server.addContextCustomizers(context -> context.setSuspendWrappedResponseAfterForward(false));
    }

    @Bean
    FilterRegistrationBean<OncePerRequestFilter> typedAgain(Reader keeper) {
        return filter(new TypedAgain(keeper), DispatcherType.REQUEST, 0);
    }

    @Bean
    FilterRegistrationBean<OncePerRequestFilter> refusalRead() {
        return filter(new ReadsOnly(), DispatcherType.FORWARD, 1);
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
        private final Reader keeper;

        TypedAgain(Reader keeper) {
            this.keeper = keeper;
        }

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
            boolean page = type != null
                    && type.startsWith("text/html")
                    && Refused.shown(request).isPresent();
            if (page) {
                String html = new String(answer.getContentAsByteArray(), StandardCharsets.UTF_8);
                Refused why = Refused.shown(request).orElseThrow();
                String field = why.field();
                Words say = keeper.words();
                String said = say.of(why.why());
                answer.resetBuffer();
                answer.getOutputStream()
                        .write(TypedForm.fill(
                                        html, request.getRequestURI(), request.getParameterMap(), field, said, say)
                                .getBytes(StandardCharsets.UTF_8));
            }
            answer.copyBodyToResponse();
        }
    }

    /** The page of a refusal is read, not written to. */
    private static final class ReadsOnly extends OncePerRequestFilter {
        @Override
        protected boolean shouldNotFilter(HttpServletRequest request) {
            return Refused.shown(request).isEmpty();
        }

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            chain.doFilter(new ReadRequest(request), response);
        }
    }
}
