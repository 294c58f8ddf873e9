package pelluna.app.writes;

import jakarta.servlet.http.HttpServletRequest;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.support.RequestDataValueProcessor;

/** Puts a fresh key into every form that writes, by {@code th:action}, beside the token of Spring Security. */
@Component
class FormKeys implements BeanPostProcessor {
    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof RequestDataValueProcessor tokens ? new Keyed(tokens) : bean;
    }

    private record Keyed(RequestDataValueProcessor tokens) implements RequestDataValueProcessor {
        private static final String READS = FormKeys.class.getName() + ".reads";

        @Override
        public String processAction(HttpServletRequest request, String action, String method) {
            request.setAttribute(READS, !"post".equalsIgnoreCase(method));
            return tokens.processAction(request, action, method);
        }

        @Override
        public String processFormFieldValue(HttpServletRequest request, String name, String value, String type) {
            return tokens.processFormFieldValue(request, name, value, type);
        }

        @Override
        public Map<String, String> getExtraHiddenFields(HttpServletRequest request) {
            Map<String, String> fields = new HashMap<>();
            Map<String, String> token = tokens.getExtraHiddenFields(request);
            if (token != null) {
                fields.putAll(token);
            }
            if (!Boolean.TRUE.equals(request.getAttribute(READS))) {
                fields.put(WriteKeys.PARAMETER, UUID.randomUUID().toString());
            }
            return fields;
        }

        @Override
        public String processUrl(HttpServletRequest request, String url) {
            return tokens.processUrl(request, url);
        }
    }
}
