package pelluna.app.shell;

import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.context.i18n.LocaleContextHolder;
import org.thymeleaf.IEngineConfiguration;
import org.thymeleaf.spring6.templateresolver.SpringResourceTemplateResolver;
import org.thymeleaf.templateresource.ITemplateResource;
import org.thymeleaf.templateresource.StringTemplateResource;
import org.unbescape.html.HtmlEscape;
import pelluna.words.UnitSystem;
import pelluna.words.Words;

/**
 * Templates as they stand in files, with every message put in already that has no arguments: no page looks it up, which
 * saves a millisecond and more of each. A template is read once in each language.
 */
final class SaidTemplates extends SpringResourceTemplateResolver {
    private static final Pattern INLINED = Pattern.compile("\\[\\[#\\{(page\\.[\\w.]+)}]]");
    private static final Pattern ATTRIBUTE = Pattern.compile("th:([\\w-]+)=\"#\\{(page\\.[\\w.]+)}\"");
    /** Attributes that are shown as they are; others give an element its content. */
    private static final Pattern PLAIN = Pattern.compile("placeholder|title|alt|aria-label|data-ask");

    @Override
    protected ITemplateResource computeTemplateResource(
            IEngineConfiguration engine,
            String owner,
            String template,
            String resource,
            String encoding,
            Map<String, Object> attributes) {
        ITemplateResource file = super.computeTemplateResource(engine, owner, template, resource, encoding, attributes);
        try (Reader in = file.reader()) {
            StringWriter text = new StringWriter();
            in.transferTo(text);
            return new StringTemplateResource(
                    said(text.toString(), Words.in(LocaleContextHolder.getLocale(), UnitSystem.METRIC)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String said(String template, Words say) {
        String inlined = INLINED.matcher(template).replaceAll(m -> message(say, m.group(1)));
        return ATTRIBUTE
                .matcher(inlined)
                .replaceAll(m -> PLAIN.matcher(m.group(1)).matches()
                        ? m.group(1) + "=\"" + message(say, m.group(2)) + "\""
                        : Matcher.quoteReplacement(m.group()));
    }

    private static String message(Words say, String key) {
        return Matcher.quoteReplacement(HtmlEscape.escapeHtml4Xml(say.text(key)));
    }
}
