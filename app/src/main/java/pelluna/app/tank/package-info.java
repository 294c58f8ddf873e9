/** The glass and its figures. */
@ApplicationModule(allowedDependencies = {"account", "rows"})
package pelluna.app.tank;

import org.springframework.modulith.ApplicationModule;
