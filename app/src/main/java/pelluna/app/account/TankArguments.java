package pelluna.app.account;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * The tank of an address, {@code /tanks/{id}/…}, as the argument of its handler: looked up with whoever asks, and held
 * against what they may do there. There is no other way for a page to get at a tank.
 */
@Configuration
class TankArguments implements WebMvcConfigurer, HandlerMethodArgumentResolver {
    private static final Logger LOG = LoggerFactory.getLogger(TankArguments.class);

    private final Ownership ownership;

    TankArguments(Ownership ownership) {
        this.ownership = ownership;
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == OwnedTank.class;
    }

    @Override
    public OwnedTank resolveArgument(
            MethodParameter parameter,
            ModelAndViewContainer page,
            NativeWebRequest request,
            WebDataBinderFactory binders) {
        OwnedTank tank = ownership.tank(number(request));
        HttpServletRequest asked = request.getNativeRequest(HttpServletRequest.class);
        if (asked.getMethod().equals("POST")) {
            TankRights.against(tank, asked.getRequestURI()).ifPresent(why -> {
                LOG.info("Account {} was refused in tank {}: {}.", asked.getRemoteUser(), tank, why);
                throw new NotYoursException(why);
            });
        }
        return tank;
    }

    private static long number(NativeWebRequest request) {
        Object parts =
                request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE, RequestAttributes.SCOPE_REQUEST);
        try {
            return Long.parseLong(String.valueOf(((Map<?, ?>) parts).get("id")));
        } catch (NumberFormatException e) {
            throw new NoSuchTankException();
        }
    }
}
