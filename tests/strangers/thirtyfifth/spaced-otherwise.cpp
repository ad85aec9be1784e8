#include <iostream>
#include <memory>
#include <vector>
class Pot{public :int n ;explicit Pot( int n ):n{ n }{std :: cout<<"+"<<n<<'\n' ;}
  ~ Pot ( ) { std::cout << "-" << n << std::endl ; } } ;
int main( )
{
	std :: unique_ptr < Pot >   theGateThatNobodyHasEverSeenOpenSinceTheHollowWasDugOut = std::make_unique< Pot >( 1 ) ;
  std::vector< std::unique_ptr< Pot > >   all ;
 all . push_back( std :: move( theGateThatNobodyHasEverSeenOpenSinceTheHollowWasDugOut ) ) ;
    if( ! theGateThatNobodyHasEverSeenOpenSinceTheHollowWasDugOut )std::cout<<"none"<<std::endl ;
	all . emplace_back( std::make_unique < Pot > ( 2 ) ) ; ;
  theGateThatNobodyHasEverSeenOpenSinceTheHollowWasDugOut = std :: make_unique<Pot>(3);theGateThatNobodyHasEverSeenOpenSinceTheHollowWasDugOut . reset ( ) ;
	all[ 0 ] = nullptr ;
  all.clear( ) ; std::cout<<"end"<<std::endl ;
}