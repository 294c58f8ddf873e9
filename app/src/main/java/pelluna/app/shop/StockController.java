package pelluna.app.shop;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.drawing.FishFiles;
import pelluna.app.limits.Refused;
import pelluna.app.limits.Takes;
import pelluna.app.limits.Utf8;
import pelluna.app.overrides.KeeperCatalogue;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.core.catalogue.Species;
import pelluna.core.names.FishList;
import pelluna.core.plan.FishFile;
import pelluna.core.shop.Says;

/** A list of fish from anywhere, or what a shop has, judged for one tank; those ticked go on the wish list. */
@Controller
class StockController {
    /** Letters of a list that are read. */
    private static final int MOST_TEXT = 60_000;

    private final TankPlans plans;
    private final KeeperCatalogue catalogue;
    private final ShopFiles files;
    private final Shells shells;

    StockController(TankPlans plans, KeeperCatalogue catalogue, ShopFiles files, Shells shells) {
        this.plans = plans;
        this.catalogue = catalogue;
        this.files = files;
        this.shells = shells;
    }

    @GetMapping("/tanks/{id}/stock-list")
    String empty(OwnedTank tank, Model model) {
        return page(tank, "", Map.of(), model);
    }

    /** Looks at a list; nothing is kept of it. */
    @PostMapping("/tanks/{id}/stock-list")
    String look(
            OwnedTank tank,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(required = false) MultipartFile file,
            @Takes({"*"}) @RequestParam Map<String, String> form,
            Model model) {
        try {
            String list = file == null || file.isEmpty() ? text : Utf8.text("file", file.getBytes());
            return page(tank, list.substring(0, Math.min(MOST_TEXT, list.length())), form, model);
        } catch (IOException e) {
            throw new Refused("file", new ShopRefusal.Unread(), e);
        }
    }

    private String page(OwnedTank tank, String text, Map<String, String> chosen, Model model) {
        OpenTank opened = plans.open(tank);
        StockLines lines = StockLines.of(
                FishList.read(StockText.rows(text), catalogue.names()),
                chosen,
                catalogue.get(),
                files.shop(opened),
                opened.say());
        shells.around(
                model,
                opened,
                "species",
                opened.say().text("page.shop.aList"),
                text.isBlank() ? opened.say().text("page.shop.pasteAList") : sentence(lines, opened));
        model.addAttribute("text", text);
        model.addAttribute("lines", lines);
        model.addAttribute(
                "cut",
                text.lines().count() > StockText.MOST_LINES
                        ? opened.say().text("page.shop.listCut", StockText.MOST_LINES)
                        : "");
        model.addAttribute(
                "chosen",
                chosen.entrySet().stream()
                        .filter(c ->
                                c.getKey().startsWith("line") && !c.getValue().isEmpty())
                        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
        model.addAttribute("pictures", new FishFiles());
        return "stock-list";
    }

    private static String sentence(StockLines lines, OpenTank opened) {
        Map<Says, Long> n = lines.counts();
        return opened.say()
                .text(
                        "page.shop.listSays",
                        lines.judged().size(),
                        n.get(Says.YES),
                        n.get(Says.YES_IF),
                        n.get(Says.NOT_TODAY),
                        n.get(Says.NOT_THIS_ONE));
    }

    /** @param take each as its species and its number: 'Gramma loreto*2' */
    @PostMapping("/tanks/{id}/stock-list/wishes")
    String wishes(OwnedTank tank, @RequestParam(defaultValue = "") List<String> take) {
        for (String one : take) {
            String[] parts = one.split("\\*", 2);
            Species s = catalogue.get().find(parts[0]).orElseThrow(NoSuchTankException::new);
            plans.addWish(tank, FishFile.of(s.scientificName(), count(parts)));
        }
        return "redirect:/tanks/" + tank + "/wish-list";
    }

    private static int count(String[] parts) {
        return parts.length > 1 && parts[1].matches("[1-9]\\d?") ? Integer.parseInt(parts[1]) : 1;
    }
}
