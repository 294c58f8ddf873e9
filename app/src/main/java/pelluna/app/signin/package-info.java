/** How a keeper comes in and goes out: accounts, passwords, passkeys, sessions. */
@ApplicationModule(allowedDependencies = {"account", "database", "limits", "mail", "rows", "shell", "tokens"})
package pelluna.app.signin;

import org.springframework.modulith.ApplicationModule;
