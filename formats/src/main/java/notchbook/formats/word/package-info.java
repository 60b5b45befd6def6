/** The typed part of a section for word processors (Office Open XML, ISO/IEC 29500). */
@NullMarked
package notchbook.formats.word;

import org.jspecify.annotations.NullMarked;
