package pelluna.app.lan;

import java.io.IOException;
import java.nio.file.Files;
import java.security.GeneralSecurityException;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.SignedIn;
import pelluna.app.shell.Shells;
import pelluna.words.Words;

/** How a phone in the house comes to Pelluna: the code to point it at, and how it comes to trust this machine. */
@Controller
class PhoneController {
    private static final MediaType CERTIFICATE = MediaType.parseMediaType("application/x-x509-ca-cert");

    private final ObjectProvider<HouseNetwork> network;
    private final CurrentKeeper keeper;
    private final Shells shells;

    PhoneController(ObjectProvider<HouseNetwork> network, CurrentKeeper keeper, Shells shells) {
        this.network = network;
        this.keeper = keeper;
        this.shells = shells;
    }

    /** For anybody: a phone that does not trust this machine yet has not signed in either. */
    @GetMapping("/phone")
    String page(Model model) throws GeneralSecurityException {
        Words say = keeper.words();
        HouseNetwork house = network.getIfAvailable();
        if (SignedIn.id().isPresent()) {
            shells.around(model, "phone", say.text("page.phone.title"), say.text("page.phone.sentence"));
        } else {
            Shells.bare(model, say.text("page.phone.title"), say);
        }
        model.addAttribute("house", house != null);
        if (house != null) {
            String start = house.site() + "/phone";
            model.addAttribute("start", start);
            model.addAttribute("code", new QrCode(start).svg(say.text("page.phone.codeOf", start)));
            model.addAttribute("fingerprint", house.authority().fingerprint());
        }
        return "phone";
    }

    /** The certificate of the authority; never its key. */
    @GetMapping("/phone/pelluna.crt")
    ResponseEntity<byte[]> certificate() throws IOException {
        HouseNetwork house = network.getIfAvailable();
        return house == null
                ? ResponseEntity.notFound().build()
                : ResponseEntity.ok()
                        .contentType(CERTIFICATE)
                        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"pelluna.crt\"")
                        .body(Files.readAllBytes(house.authority().file("authority.crt")));
    }
}
