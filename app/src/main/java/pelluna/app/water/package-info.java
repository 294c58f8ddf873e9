/** Logged tests of the water. */
@ApplicationModule(allowedDependencies = {"rows"})
package pelluna.app.water;

import org.springframework.modulith.ApplicationModule;
