package pelluna.app.writes;

import java.util.List;
import java.util.Map;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.server.PathContainer;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.pattern.PathPattern;

/** Which addresses are pages to be read. */
@Component
class Pages {
    private final ObjectProvider<RequestMappingHandlerMapping> mappings;
    private List<PathPattern> pages;

    Pages(ObjectProvider<RequestMappingHandlerMapping> mappings) {
        this.mappings = mappings;
    }

    /** The page that an address belongs to: itself, or the nearest above it; null if there is none. */
    String nearest(String path) {
        for (String at = path; !at.isEmpty(); at = at.substring(0, at.lastIndexOf('/'))) {
            PathContainer parsed = PathContainer.parsePath(at);
            if (pages().stream().anyMatch(p -> p.matches(parsed))) {
                return at;
            }
        }
        return null;
    }

    private synchronized List<PathPattern> pages() {
        if (pages == null) {
            pages = mappings.orderedStream()
                    .flatMap(m -> m.getHandlerMethods().entrySet().stream())
                    .filter(Pages::reads)
                    .flatMap(e -> e.getKey().getPathPatternsCondition().getPatterns().stream())
                    .toList();
        }
        return pages;
    }

    private static boolean reads(Map.Entry<RequestMappingInfo, HandlerMethod> mapping) {
        return mapping.getKey().getMethodsCondition().getMethods().contains(RequestMethod.GET)
                && mapping.getKey().getPathPatternsCondition() != null
                && mapping.getValue().getMethod().getReturnType() == String.class
                && !mapping.getValue().hasMethodAnnotation(org.springframework.web.bind.annotation.ResponseBody.class);
    }
}
