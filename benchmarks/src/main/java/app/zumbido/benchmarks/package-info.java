/** What is measured rather than tested. Every figure names its denominator, warm-up, picture and thread count. */
@NullMarked
package app.zumbido.benchmarks;

import org.jspecify.annotations.NullMarked;
