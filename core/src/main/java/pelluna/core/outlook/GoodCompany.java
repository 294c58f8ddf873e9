package pelluna.core.outlook;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.catalogue.GroupLife;
import pelluna.core.catalogue.Help;
import pelluna.core.plan.Party;
import pelluna.core.tank.ReefLife;
import pelluna.core.units.English;

/**
 * Who does whom good: a partner of another kind, a cleaner, its own kind where it wants that. That they do is common
 * practice; that these individuals will is not promised.
 *
 * @param about ids of those whom it is about
 */
public record GoodCompany(List<String> about, String says) {
    public GoodCompany {
        about = List.copyOf(about);
    }

    public static List<GoodCompany> in(Outlook outlook) {
        List<GoodCompany> found = new ArrayList<>();
        for (Presence p : outlook.everybody()) {
            Party party = p.party();
            String name = "the " + party.species().name();
            party.species()
                    .partner()
                    .ifPresent(partner -> found.add(new GoodCompany(
                            List.of(party.id()),
                            English.capital(name)
                                    + (keeps(outlook, partner)
                                            ? " may share its home with " + article(partner)
                                                    + ", which your tank can keep."
                                            : " would share its home with " + article(partner)
                                                    + "; your tank keeps none."))));
            if (party.species().helps().contains(Help.PARASITES)) {
                found.add(new GoodCompany(
                        List.of(party.id()),
                        English.capital(name) + " cleans: others come to it to have parasites picked off."));
            }
            GroupLife life = party.species().social().life();
            if (party.count() > 1 && life != GroupLife.ALONE) {
                found.add(new GoodCompany(
                        List.of(party.id()),
                        English.capital(party.label()) + " have their own kind about them, as "
                                + switch (life) {
                                    case SHOAL -> "a shoal wants.";
                                    case HAREM -> "a harem wants.";
                                    default -> "a pair wants.";
                                }));
            }
        }
        return found;
    }

    private static String article(String partner) {
        return ("aeiou".indexOf(partner.charAt(0)) >= 0 ? "an " : "a ") + partner;
    }

    private static boolean keeps(Outlook outlook, String partner) {
        return partner.contains("shrimp") && outlook.plan().tank().keeps(ReefLife.SHRIMP)
                || partner.contains("anemone") && outlook.plan().tank().keeps(ReefLife.ANEMONES);
    }
}
