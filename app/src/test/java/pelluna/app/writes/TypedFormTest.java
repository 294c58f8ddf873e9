package pelluna.app.writes;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;

import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import pelluna.words.Words;

class TypedFormTest {
    private static final String PAGE = """
        <main><header><h1>Loss</h1></header><details><summary>More</summary>
        <form method="post" action="/loss"><input type="hidden" name="key" value="fresh">
          <input type="hidden" name="fish" value="1">
          <input name="cost" value=""><textarea name="seen">before</textarea>
          <select name="cause"><option value="a" selected>A</option><option value="b">B</option></select>
          <input type="checkbox" name="sure" value="true" checked>
          <input type="radio" name="how" value="x" checked><input type="radio" name="how" value="y">
          <input type="file" name="picture"></form></details>
        <form method="post" action="/loss"><input type="hidden" name="fish" value="2">
          <input name="cost" value="other"></form></main>""";
    private static final Map<String, String[]> TYPED = Map.of(
            "fish",
            new String[] {"1"},
            "cost",
            new String[] {"about 30 <b>"},
            "seen",
            new String[] {"on the floor"},
            "cause",
            new String[] {"b"},
            "how",
            new String[] {"y"},
            "key",
            new String[] {"old"},
            "shop",
            new String[] {"The Corner"});

    private static Document filled(Map<String, String[]> typed, String beside, String why) {
        return Jsoup.parse(TypedForm.fill(PAGE, "/loss", typed, beside, why, Words.forAnybody()));
    }

    @Test
    void everyFieldHoldsWhatWasTypedInTheFormThatWasSent() {
        Document page = filled(TYPED, "", "No.");
        assertThat(page.select("[name=cost]").eachAttr("value")).containsExactly("about 30 <b>", "other");
        assertThat(page.select("[name=seen]").text()).isEqualTo("on the floor");
        assertThat(page.select("option[selected]").eachAttr("value")).containsExactly("b");
        assertThat(page.select("[name=how][checked]").eachAttr("value")).containsExactly("y");
        assertThat(page.select("[name=sure]").hasAttr("checked"))
                .as("it was taken off")
                .isFalse();
        assertThat(page.select("[name=key]").val())
                .as("a new key: the old one was not written")
                .isEqualTo("fresh");
        assertThat(page.select("details").hasAttr("open")).isTrue();
    }

    @Test
    void theReasonStandsBesideItsFieldAndOnce() {
        Document page = filled(TYPED, "cost", "That is no price.");
        assertThat(page.select("[role=alert]").eachText()).containsExactly("That is no price.");
        assertThat(page.select("[name=cost]").first().attr("aria-invalid")).isEqualTo("true");
        assertThat(page.select("[name=cost]").first().nextElementSibling().text())
                .isEqualTo("That is no price.");
        assertThat(filled(TYPED, "", "Not so.").select("form").first().child(0).text())
                .isEqualTo("Not so.");
    }

    @Test
    void whatHasNoPlaceIsShownAllTheSame() {
        assertThat(filled(TYPED, "", "No.").text()).containsPattern(said("page.typed.also", "The Corner"));
        Document other = Jsoup.parse(
                TypedForm.fill("<main><header></header></main>", "/loss", TYPED, "", "No.", Words.forAnybody()));
        assertThat(other.select("form[action=/loss] textarea[name=seen]").text())
                .isEqualTo("on the floor");
        assertThat(other.select("form[action=/loss] input[name=key]").val()).isEqualTo("old");
        assertThat(other.text()).contains("No.");
    }
}
