/** Pelluna for the phones of a house: HTTPS on the local network, by a certificate authority of its own. */
@ApplicationModule(allowedDependencies = {"account", "guard", "shell"})
package pelluna.app.lan;

import org.springframework.modulith.ApplicationModule;
