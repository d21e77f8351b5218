# Writes vision.csv. Run: Rscript vision.R > vision.csv, with the package colorspace (Debian: r-cran-colorspace).
suppressMessages(library(colorspace))
hex <- c("#FF0000","#00FF00","#0000FF","#FFFF00","#00FFFF","#FF00FF","#FFFFFF","#000000","#808080","#0B2A4A","#0F7C7A","#F2682A","#5B6670","#EAF3F2","#7A5CD6","#FFD400","#2F5D8A","#C0392B","#E69F00","#56B4E9","#009E73","#F0E442","#0072B2","#D55E00","#CC79A7")
cat(paste0("# Source: R package colorspace ", packageVersion("colorspace"), ", simulate_cvd with linear = TRUE and its protan_cvd, deutan_cvd, tritan_cvd.\n"))
cat("kind,severity,hex,seen\n")
for (k in c("PROTAN","DEUTAN","TRITAN")) for (s in c(0.3,0.45,0.7,1)) {
 f <- switch(k,PROTAN=protanomaly_cvd,DEUTAN=deutanomaly_cvd,TRITAN=tritanomaly_cvd)
 m <- interpolate_cvd_transform(f,s)
 for (h in hex) cat(paste(k,s,substring(h,2),substring(simulate_cvd(h,m,linear=TRUE),2),sep=","),"\n",sep="")
}
