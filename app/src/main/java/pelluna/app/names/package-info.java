/** The list that opens while a name is typed. */
@ApplicationModule(allowedDependencies = {"drawing", "ownword", "planning"})
package pelluna.app.names;

import org.springframework.modulith.ApplicationModule;
