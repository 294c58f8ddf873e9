package pelluna.core.outlook;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.catalogue.CatalogueText;
import pelluna.core.catalogue.GroupLife;
import pelluna.core.catalogue.Help;
import pelluna.core.catalogue.Species;
import pelluna.core.plan.Party;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.Statement;

/**
 * Who does whom good: a partner of another kind, a cleaner, its own kind where it wants that. That they do is common
 * practice; that these individuals will is not promised.
 *
 * @param about ids of those whom it is about
 */
public record GoodCompany(List<String> about, Kind kind) {
    /** Of what kind it is. */
    public sealed interface Kind extends Statement {}

    /** @param vowel whether the partner's name begins with one @param kept whether the tank keeps such */
    public record SharesHome(Species fish, CatalogueText partner, boolean vowel, boolean kept) implements Kind {}

    public record Cleans(Species fish) implements Kind {}

    public record OwnKind(Party fish, GroupLife life) implements Kind {}

    public GoodCompany {
        about = List.copyOf(about);
    }

    public static List<GoodCompany> in(Outlook outlook) {
        List<GoodCompany> found = new ArrayList<>();
        for (Presence p : outlook.everybody()) {
            Party party = p.party();
            party.species()
                    .partner()
                    .ifPresent(partner -> found.add(new GoodCompany(
                            List.of(party.id()),
                            new SharesHome(
                                    party.species(),
                                    new CatalogueText(partner),
                                    vowel(partner),
                                    keeps(outlook, partner)))));
            if (party.species().helps().contains(Help.PARASITES)) {
                found.add(new GoodCompany(List.of(party.id()), new Cleans(party.species())));
            }
            GroupLife life = party.species().social().life();
            if (party.count() > 1 && life != GroupLife.ALONE) {
                found.add(new GoodCompany(List.of(party.id()), new OwnKind(party, life)));
            }
        }
        return found;
    }

    private static boolean vowel(String partner) {
        return "aeiou".indexOf(partner.charAt(0)) >= 0;
    }

    private static boolean keeps(Outlook outlook, String partner) {
        return partner.contains("shrimp") && outlook.plan().tank().keeps(ReefLife.SHRIMP)
                || partner.contains("anemone") && outlook.plan().tank().keeps(ReefLife.ANEMONES);
    }
}
