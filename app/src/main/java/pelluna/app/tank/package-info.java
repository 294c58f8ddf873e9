/** The glass and its figures. */
@ApplicationModule(allowedDependencies = {"rows"})
package pelluna.app.tank;

import org.springframework.modulith.ApplicationModule;
