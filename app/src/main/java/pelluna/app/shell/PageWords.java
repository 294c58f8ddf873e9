package pelluna.app.shell;

import java.nio.charset.StandardCharsets;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.messageresolver.IMessageResolver;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templatemode.TemplateMode;
import pelluna.words.UnitSystem;
import pelluna.words.Words;

/** A template's {@code #{page.…}} is a message of {@link Words}: the reader's of this page, where it has one. */
@Configuration
class PageWords implements IMessageResolver {
    /** All expressions of all templates: none is read twice. */
    private static final int EXPRESSIONS = 8000;

    /** Takes the place of the one that Spring Boot would make. */
    @Bean("defaultTemplateResolver")
    static SaidTemplates templates() {
        SaidTemplates templates = new SaidTemplates();
        templates.setPrefix("classpath:/templates/");
        templates.setSuffix(".html");
        templates.setTemplateMode(TemplateMode.HTML);
        templates.setCharacterEncoding(StandardCharsets.UTF_8.name());
        return templates;
    }

    @Autowired
    void of(SpringTemplateEngine engine) {
        engine.setCacheManager(new TemplatesByLanguage(EXPRESSIONS));
        engine.setMessageResolver(this);
    }

    @Override
    public String getName() {
        return "words";
    }

    @Override
    public Integer getOrder() {
        return 1;
    }

    @Override
    public String resolveMessage(ITemplateContext page, Class<?> origin, String key, Object[] arguments) {
        Words say = page.getVariable("say") instanceof Words reader
                ? reader
                : Words.in(page.getLocale(), UnitSystem.METRIC);
        return say.text(key, arguments == null ? new Object[0] : arguments);
    }

    @Override
    public String createAbsentMessageRepresentation(
            ITemplateContext page, Class<?> origin, String key, Object[] arguments) {
        throw new IllegalStateException("no message '" + key + "' for " + page.getLocale());
    }
}
