package pelluna.app.shell;

import java.util.Locale;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Configuration;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.messageresolver.IMessageResolver;
import org.thymeleaf.spring6.SpringTemplateEngine;
import pelluna.words.Words;

/** A template's {@code #{page.…}} is a message of {@link Words}: the reader's of this page, where it has one. */
@Configuration
class PageWords implements IMessageResolver {
    private static final Words FOR_ANYBODY = Words.forAnybody();

    @Autowired
    void of(SpringTemplateEngine engine) {
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
        Words say = page.getVariable("say") instanceof Words reader ? reader : FOR_ANYBODY;
        return say.text(key, arguments == null ? new Object[0] : arguments);
    }

    @Override
    public String createAbsentMessageRepresentation(
            ITemplateContext page, Class<?> origin, String key, Object[] arguments) {
        throw new IllegalStateException("no message '" + key + "' for " + Locale.getDefault());
    }
}
