package pelluna.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Configuration;
import org.springframework.dao.DataAccessException;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.support.RequestContextUtils;
import pelluna.app.account.SignedIn;

/** Sees every write to a tank that went well, whoever wrote and wherever. */
@Configuration
class DeedsSeen implements WebMvcConfigurer, HandlerInterceptor {
    private static final Logger LOG = LoggerFactory.getLogger(DeedsSeen.class);
    private static final int REFUSED = 400;

    private final Deeds deeds;

    DeedsSeen(Deeds deeds) {
        this.deeds = deeds;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/tanks/*/**");
    }

    @Override
    public void afterCompletion(HttpServletRequest request, HttpServletResponse response, Object handler, Exception e) {
        if (!request.getMethod().equals("POST") || e != null || response.getStatus() >= REFUSED || refused(request)) {
            return;
        }
        SignedIn.id()
                .ifPresent(who -> Deed.at(request.getRequestURI()).ifPresent(what -> {
                    try {
                        deeds.did(tank(request), who, what);
                    } catch (DataAccessException gone) {
                        LOG.warn("What was done in a tank is not in its history: {}", gone.getMessage());
                    }
                }));
    }

    /** Sent back to its page to say why not. */
    private static boolean refused(HttpServletRequest request) {
        return !RequestContextUtils.getOutputFlashMap(request).isEmpty();
    }

    private static long tank(HttpServletRequest request) {
        Map<?, ?> parts = (Map<?, ?>) request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        return Long.parseLong(String.valueOf(parts.get("id")));
    }
}
