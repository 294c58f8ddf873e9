package pelluna.app.writes;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.webmvc.autoconfigure.WebMvcRegistrations;
import org.springframework.core.NestedRuntimeException;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerAdapter;
import org.springframework.web.servlet.mvc.method.annotation.ServletInvocableHandlerMethod;

/** Has every handler of a POST called through {@link Writes}: no page can be written that forgets it. */
@Component
class WriteHandlers implements WebMvcRegistrations {
    private final ObjectProvider<Writes> writes;

    WriteHandlers(ObjectProvider<Writes> writes) {
        this.writes = writes;
    }

    @Override
    public RequestMappingHandlerAdapter getRequestMappingHandlerAdapter() {
        return new RequestMappingHandlerAdapter() {
            @Override
            protected ServletInvocableHandlerMethod createInvocableHandlerMethod(HandlerMethod method) {
                return new OnceMethod(method);
            }
        };
    }

    private final class OnceMethod extends ServletInvocableHandlerMethod {
        OnceMethod(HandlerMethod method) {
            super(method);
        }

        /** What a write has taken away is gone for its repeat, which is told what came of the first all the same. */
        @Override
        public Object invokeForRequest(NativeWebRequest request, ModelAndViewContainer page, Object... given)
                throws Exception {
            try {
                return super.invokeForRequest(request, page, given);
            } catch (NestedRuntimeException database) {
                throw database;
            } catch (RuntimeException failed) {
                HttpServletRequest asked = request.getNativeRequest(HttpServletRequest.class);
                Optional<Object> before = asked != null && asked.getMethod().equals("POST")
                        ? WriteHandlers.this
                                .writes
                                .getObject()
                                .before(asked, request.getNativeResponse(HttpServletResponse.class))
                        : Optional.empty();
                return before.orElseThrow(() -> failed);
            }
        }

        @Override
        protected Object doInvoke(Object... arguments) throws Exception {
            ServletRequestAttributes asked = (ServletRequestAttributes) RequestContextHolder.currentRequestAttributes();
            boolean writes = asked.getRequest().getMethod().equals("POST")
                    && !asked.getRequest().getRequestURI().startsWith("/api/");
            return writes
                    ? WriteHandlers.this
                            .writes
                            .getObject()
                            .once(asked.getRequest(), asked.getResponse(), arguments, () -> super.doInvoke(arguments))
                    : super.doInvoke(arguments);
        }
    }
}
