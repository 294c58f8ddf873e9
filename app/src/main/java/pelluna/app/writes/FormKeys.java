package pelluna.app.writes;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.support.RequestDataValueProcessor;

/** Puts a fresh key into every form that writes, by {@code th:action}. */
@Component("requestDataValueProcessor")
class FormKeys implements RequestDataValueProcessor {
    private static final String READS = FormKeys.class.getName() + ".reads";

    @Override
    public String processAction(HttpServletRequest request, String action, String method) {
        request.setAttribute(READS, !"post".equalsIgnoreCase(method));
        return action;
    }

    @Override
    public String processFormFieldValue(HttpServletRequest request, String name, String value, String type) {
        return value;
    }

    @Override
    public Map<String, String> getExtraHiddenFields(HttpServletRequest request) {
        return Boolean.TRUE.equals(request.getAttribute(READS))
                ? Map.of()
                : Map.of(WriteKeys.PARAMETER, UUID.randomUUID().toString());
    }

    @Override
    public String processUrl(HttpServletRequest request, String url) {
        return url;
    }
}
