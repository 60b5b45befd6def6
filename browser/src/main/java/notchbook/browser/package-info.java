/** The core's rules that a hand can't wait for: compiled to JavaScript, they run in the browser as they do on the server. */
@NullMarked
package notchbook.browser;

import org.jspecify.annotations.NullMarked;
