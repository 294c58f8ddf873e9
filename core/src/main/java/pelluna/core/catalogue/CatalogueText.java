package pelluna.core.catalogue;

import java.util.List;
import java.util.stream.Stream;

/**
 * A text of the catalogue, said in the reader's language where it has been translated.
 *
 * @param english as the catalogue has it, or as a keeper has written it
 */
public record CatalogueText(String english) {

    /** Every text on a species, for whoever translates them: group, partner, shop, disputes, look-alikes. */
    public static List<CatalogueText> all(Species s) {
        Stream<Species.Dispute> disputes = Stream.of(
                        Stream.of(s.disputes().room()), s.disputes().company().stream(), s.disputes().reef().stream())
                .flatMap(d -> d);
        return Stream.of(
                        Stream.of(s.group()),
                        s.partner().stream(),
                        s.buying().stream(),
                        disputes.flatMap(d -> Stream.of(d.bold(), d.cautious())),
                        s.appearance().confusedWith().stream().map(Species.LookAlike::tellApart))
                .flatMap(t -> t)
                .map(CatalogueText::new)
                .toList();
    }
}
