/** Logged tests of the water. */
@ApplicationModule(allowedDependencies = {"account", "database", "rows"})
package pelluna.app.water;

import org.springframework.modulith.ApplicationModule;
