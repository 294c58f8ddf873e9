/** The tank as a picture: water, stones, what lives on them, sand, and the hands that take hold of it. */
@ApplicationModule(allowedDependencies = {"drawing"})
package pelluna.app.scenery;

import org.springframework.modulith.ApplicationModule;
