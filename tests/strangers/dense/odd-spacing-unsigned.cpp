#include<iostream>
#include<cstdint>
typedef std::uint32_t u32; using u64=std::uint64_t;
static  u32   mix ( u32 aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa , unsigned   int k=3 ){return( aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa^k )*2654435761u ;}
struct R{u64 s; u32 next(){s=s*6364136223846793005ull+1;return u32(s>>33);} };
int main( ){ u32 h=mix( 5u ) ;R r{42}; for(u32 i=3;i-->0;)std::cout<<mix(i,h)<<' '<<r.next()%100<<'\n';
 unsigned long long big = ~0ULL ; std::cout<<big<<" "<<big/3<<" "<<(big>5)<<std::endl; const std::size_t n=0; if(n-1>0)std::cout<<"huge\n"; }
