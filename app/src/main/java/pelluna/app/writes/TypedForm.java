package pelluna.app.writes;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import pelluna.words.Words;

/** Puts into a form of a page what was typed into it before. */
final class TypedForm {
    /** Sent by pages, typed by nobody. */
    private static final Set<String> NOBODYS =
            Set.of(WriteKeys.PARAMETER, "at", "quiet", "of", "_csrf", "password", "current", "code");

    private TypedForm() {}

    /**
     * @param html   the page, as it would be asked for
     * @param action the path that the form was sent to
     * @param typed  what was sent
     * @param beside the field that the refusal is about; empty if it is about all of it
     * @param why    shown beside its field, and at the head of the form if the page does not say it itself
     * @param say    the words of its reader
     * @return the page with that in its fields; files stay empty
     */
    static String fill(String html, String action, Map<String, String[]> typed, String beside, String why, Words say) {
        Document page = Jsoup.parse(html);
        page.outputSettings().prettyPrint(false);
        Optional<Element> form = page.select("form[method=post]").stream()
                .filter(f -> path(f.attr("action")).equals(action))
                .max(Comparator.comparingLong(f -> alike(f, typed)));
        form.ifPresent(f -> {
            f.select("input, textarea, select").forEach(field -> put(field, typed.get(field.attr("name"))));
            f.parents().select("details").forEach(d -> d.attr("open", true));
            without(f, typed, say);
        });
        if (form.isEmpty()) {
            page.select("main header").stream().findFirst().ifPresent(h -> h.after(again(action, typed, say)));
        }
        say(page, form, beside, why);
        return page.outerHtml();
    }

    /** What was typed for which the form has no place, such as on a page of another version, is shown under it. */
    private static void without(Element form, Map<String, String[]> typed, Words say) {
        List<String> places = form.select("[name]").eachAttr("name");
        typed.forEach((name, values) -> {
            if (!places.contains(name) && !NOBODYS.contains(name)) {
                Arrays.stream(values)
                        .filter(v -> !v.isBlank())
                        .forEach(v -> form.appendElement("p").addClass("soft").text(say.text("page.typed.also", v)));
            }
        });
    }

    /** A form to send the same again, for a page that has it not. */
    private static Element again(String action, Map<String, String[]> typed, Words say) {
        Element form =
                new Element("form").addClass("card").attr("method", "post").attr("action", action);
        form.appendElement("p").addClass("soft").text(say.text("page.typed.stillHere"));
        typed.forEach((name, values) -> Arrays.stream(values).forEach(value -> {
            if (WriteKeys.SECRET.contains(name)) {
                return;
            }
            if (name.equals(WriteKeys.PARAMETER) || name.equals("_csrf")) {
                form.appendElement("input")
                        .attr("type", "hidden")
                        .attr("name", name)
                        .attr("value", value);
            } else {
                Element label = form.appendElement("label").text(name + " ");
                label.appendElement("textarea")
                        .addClass("input w-full")
                        .attr("name", name)
                        .text(value);
            }
        }));
        form.appendElement("button").addClass("btn").text(say.text("page.typed.again"));
        return form;
    }

    private static void say(Document page, Optional<Element> form, String beside, String why) {
        Optional<Element> field = beside.isEmpty()
                ? Optional.empty()
                : form.map(f -> f.select("input:not([type=hidden]), textarea, select").stream()
                        .filter(i -> i.attr("name").equals(beside))
                        .findFirst()
                        .orElse(null));
        field.ifPresent(f -> {
            page.select("[role=alert]").stream()
                    .filter(a -> a.text().equals(why))
                    .forEach(Element::remove);
            f.attr("aria-invalid", "true");
            f.after(new Element("span").addClass("error").attr("role", "alert").text(why));
        });
        if (field.isEmpty() && !why.isEmpty() && page.select("[role=alert]").isEmpty()) {
            Element words =
                    new Element("p").addClass("error").attr("role", "alert").text(why);
            form.ifPresentOrElse(
                    f -> f.prependChild(words),
                    () -> page.select("main header").stream().findFirst().ifPresent(h -> h.after(words)));
        }
    }

    private static String path(String action) {
        return action.split("[?#]", 2)[0];
    }

    /** How many hidden fields say the same: of several forms alike, the one that was sent. */
    private static long alike(Element form, Map<String, String[]> typed) {
        return form.select("input[type=hidden]").stream()
                .filter(h -> !h.attr("name").equals(WriteKeys.PARAMETER))
                .filter(h -> typed.containsKey(h.attr("name"))
                        && List.of(typed.get(h.attr("name"))).contains(h.attr("value")))
                .count();
    }

    private static void put(Element field, String[] values) {
        String type = field.attr("type");
        boolean marked = type.equals("checkbox") || type.equals("radio");
        if (field.attr("name").isEmpty()
                || type.equals("hidden")
                || type.equals("file")
                || type.equals("password")
                || type.equals("submit")
                || values == null && !marked) {
            return;
        }
        List<String> given = values == null ? List.of() : Arrays.asList(values);
        if (marked) {
            field.attr("checked", given.contains(field.hasAttr("value") ? field.attr("value") : "on"));
        } else if (field.normalName().equals("textarea")) {
            field.text(given.get(0));
        } else if (field.normalName().equals("select")) {
            field.select("option")
                    .forEach(o -> o.attr("selected", given.contains(o.hasAttr("value") ? o.attr("value") : o.text())));
        } else {
            field.attr("value", given.get(0));
        }
    }
}
