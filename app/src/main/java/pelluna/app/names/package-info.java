/** The list that opens while a name is typed. */
@ApplicationModule(allowedDependencies = {"account", "drawing", "overrides", "planning"})
package pelluna.app.names;

import org.springframework.modulith.ApplicationModule;
