package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.ListFormatter;
import com.microsoft.playwright.Page;
import java.text.DateFormatSymbols;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import pelluna.app.testing.Chromium;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.PseudoLanguage;
import pelluna.core.catalogue.Catalogue;

/**
 * A third language is a folder: with one made up, nothing on any main page is left in English, and nothing is cut off.
 */
class PseudoLanguageInBrowserTest {
    private static final Pattern WORD = Pattern.compile("[A-Za-z]{2,}");
    /** Names of this program and of languages, keys, signs of chemistry and of file formats: the same in all. */
    private static final Set<String> ANYWHERE = Set.of(
            "Pelluna", "English", "Deutsch", "pH", "CSV", "SVG", "PNG", "JSON", "json", "csv", "Esc", "XY", "Tab", "eo",
            "http");
    /** What keepers have written. */
    private static final List<String> WRITTEN = List.of(
            "name",
            "note",
            "shop",
            "title",
            "what",
            "lesson",
            "seen",
            "why",
            "left_how",
            "ended_how",
            "address",
            "currency");

    private static final List<String> PAGES = List.of(
            "today",
            "tank",
            "wishes",
            "reefscape",
            "reefscape/pairs",
            "arrivals",
            "arrivals/odds",
            "arrivals/quarantine",
            "arrivals/leaving",
            "arrivals/list",
            "arrivals/upkeep",
            "arrivals/restock",
            "log",
            "log/head-count",
            "log/introducing",
            "log/pecking-order",
            "log/fish",
            "log/health",
            "log/water",
            "log/sheets",
            "losses",
            "losses/new",
            "losses/predicted",
            "losses/others",
            "losses/calibration",
            "losses/crew",
            "losses/incidents",
            "losses/incidents/1",
            "losses/1",
            "log/fish/1",
            "species",
            "species?q=small+peaceful",
            "species/all",
            "species/Zebrasoma-flavescens",
            "own-word",
            "side-by-side",
            "exchange",
            "shop-card?q=royal+gramma",
            "stock-list",
            "today/away",
            "help",
            "how");

    /** Text and names for those who do not see, of everything that is there; then what is wider than its place. */
    private static final String TEXTS = """
        () => {
          const said = [document.title];
          const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
          while (walk.nextNode()) {
            const of = walk.currentNode.parentElement;
            const not = 'script, style, noscript, [lang]:not(html), code, kbd, textarea, .elsewhere';
            if (of.closest(not)) { continue; }
            said.push(walk.currentNode.data);
          }
          for (const el of document.querySelectorAll('[aria-label], [title], [placeholder], [alt]')) {
            said.push(...['aria-label', 'title', 'placeholder', 'alt'].map((name) => el.getAttribute(name) || ''));
          }
          return said;
        }""";

    private static final String CUT_OFF = """
        () => {
          const wide = [];
          document.querySelectorAll('details').forEach((folded) => { folded.open = true; });
          const root = document.scrollingElement;
          if (root.scrollWidth > innerWidth + 1) { wide.push(`the page is ${root.scrollWidth} wide`); }
          for (const el of document.querySelectorAll('body *')) {
            const own = [...el.childNodes].some((n) => n.nodeType === 3 && n.data.trim());
            const style = getComputedStyle(el);
            const within = style.display.startsWith('inline') && style.display !== 'inline-block';
            const rolls = ['auto', 'scroll'].includes(style.overflowX);
            if (!own || within || rolls || !el.clientWidth) { continue; }
            if (el.closest('svg, .scroll-x, [hidden], select, .rail, .why, .headline')) { continue; }
            if (el.scrollWidth > el.clientWidth + 2) {
              wide.push(`${el.tagName} ${el.className}: ${el.textContent.trim().slice(0, 40)}`);
            }
          }
          for (const text of document.querySelectorAll('svg text')) {
            const svg = text.ownerSVGElement.getBoundingClientRect(), box = text.getBoundingClientRect();
            if (!box.width || box.left >= svg.left - 2 && box.right <= svg.right + 2) { continue; }
            wide.push(`drawn: ${text.textContent}`);
          }
          return wide;
        }""";

    private static Set<String> known() {
        Set<String> known = new TreeSet<>();
        ANYWHERE.forEach(word -> words(known, word));
        Locale locale = Locale.forLanguageTag(PseudoLanguage.CODE);
        words(known, ListFormatter.getInstance(locale).format("1", "2"));
        Catalogue.shipped()
                .all()
                .forEach(s -> words(known, s.scientificName() + " " + s.family() + " " + s.synonyms()));
        DateFormatSymbols days = DateFormatSymbols.getInstance(locale);
        Stream.of(days.getMonths(), days.getShortMonths(), days.getWeekdays(), days.getShortWeekdays())
                .flatMap(Arrays::stream)
                .forEach(d -> words(known, d));
        JdbcTemplate rows = new JdbcTemplate(Pelluna.bean(DataSource.class));
        for (Map<String, Object> column : rows.queryForList(
                "select table_name, column_name from information_schema.columns where table_schema = 'public'")) {
            if (WRITTEN.contains(column.get("column_name").toString())) {
                rows.queryForList(
                                "select " + column.get("column_name") + "::text from " + column.get("table_name"),
                                String.class)
                        .forEach(text -> words(known, text));
            }
        }
        return known;
    }

    private static void words(Set<String> into, String text) {
        if (text != null) {
            WORD.matcher(text).results().forEach(m -> into.add(m.group().toLowerCase(Locale.ROOT)));
        }
    }

    @Test
    void nothingIsLeftInEnglishAndNothingIsCutOff() {
        Set<String> known = known();
        List<String> left = new ArrayList<>();
        List<String> wide = new ArrayList<>();
        try (Page page = Chromium.window(1280, 800, PseudoLanguage.CODE)) {
            for (String path : PAGES) {
                page.setViewportSize(1280, 800);
                open(page, path);
                left(page, known).forEach(l -> left.add(path + ": " + l));
                wide(page).forEach(w -> wide.add(path + ": " + w));
                page.setViewportSize(390, 844);
                wide(page).forEach(w -> wide.add(path + " on a phone: " + w));
            }
        }
        assertThat(left).as("left in English").isEmpty();
        assertThat(wide).as("cut off").isEmpty();
    }

    private static Set<String> left(Page page, Set<String> known) {
        Set<String> left = new LinkedHashSet<>();
        texts(page)
                .forEach(text -> WORD.matcher(text)
                        .results()
                        .filter(m -> !known.contains(m.group().toLowerCase(Locale.ROOT)))
                        .forEach(m -> left.add(m.group() + " in '" + text.strip() + "'")));
        return left;
    }

    private static List<String> wide(Page page) {
        return ((List<?>) page.evaluate(CUT_OFF)).stream().map(String::valueOf).toList();
    }

    private static void open(Page page, String path) {
        page.navigate(Pelluna.url() + "/tanks/1/" + path);
        assertThat(page.locator("html").getAttribute("lang")).as(path).isEqualTo(PseudoLanguage.CODE);
        assertThat(page.title()).as(path).contains(PseudoLanguage.MARK);
    }

    private static List<String> texts(Page page) {
        return ((List<?>) page.evaluate(TEXTS)).stream().map(String::valueOf).toList();
    }
}
