const   aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa = [ 1,2 ] ;let bed="out";
aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa . forEach ( ( bed )=>{console.log( bed )} )
aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa
  .forEach( function( bed , i ){ console.log(bed,i) ; } ) ;
[3].forEach(bed=>console.log(bed));
console.log( bed ) ; setTimeout( ( )=>{ console.log( bed , aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa.length ) } ,0 )
