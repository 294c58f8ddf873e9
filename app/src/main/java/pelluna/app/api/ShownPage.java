package pelluna.app.api;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import pelluna.app.writes.ByProgram;

/** No page is drawn for a program: what it would have shown as refused is kept, and where it would have led. */
@Configuration
class ShownPage implements WebMvcConfigurer, HandlerInterceptor {
    private static final String LEADS = ShownPage.class.getName();
    private static final String PROBLEMS = LEADS + ".problems";
    private static final String REDIRECT = "redirect:";
    /** What models call their lists of refusals, by field. */
    private static final String ERRORS = "rrors";

    private record Found(List<WrittenAnswer.FieldProblem> all) {}

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public void postHandle(
            HttpServletRequest request, HttpServletResponse response, Object handler, ModelAndView page) {
        if (page == null || !ByProgram.is(request)) {
            return;
        }
        String view = page.getViewName();
        if (view != null && view.startsWith(REDIRECT)) {
            request.setAttribute(LEADS, view.substring(REDIRECT.length()));
        }
        List<WrittenAnswer.FieldProblem> problems = new ArrayList<>();
        page.getModel().forEach((name, value) -> {
            if (name.endsWith(ERRORS) && value instanceof Map<?, ?> errors) {
                errors.forEach((field, said) ->
                        problems.add(new WrittenAnswer.FieldProblem(String.valueOf(field), String.valueOf(said))));
            }
        });
        request.setAttribute(PROBLEMS, new Found(problems));
        page.clear();
    }

    /** Where a reader would be led; null if nowhere. */
    static String of(HttpServletRequest request) {
        return (String) request.getAttribute(LEADS);
    }

    static List<WrittenAnswer.FieldProblem> problems(HttpServletRequest request) {
        return request.getAttribute(PROBLEMS) instanceof Found found ? found.all() : List.of();
    }
}
