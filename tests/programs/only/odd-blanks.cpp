#include<iostream>
#include<vector>
#include<map>
#include<algorithm>
#define pb push_back
#define  all(x)  (x).begin(),(x).end()
using namespace std;
[[ nodiscard ]] int a_function_with_a_name_of_more_than_forty_letters_in_it ( const vector<int> & v ){return *max_element(v.begin( ),v.end( ));}
class Grid{ vector<vector<int>>g;
public:Grid(int r,int c):g(r,vector<int>(c)){}
	int&at(int r,int c){return g[r][c];}
	int & operator ( ) ( int r , int c ) { return g [ r ] [ c ] ; }
} ;
int main ( )
{
	vector<int>v;v.pb ( 3 ) ; v . pb ( 1 ) ; v.pb(2) ;
	sort ( all ( v ) ) ;
	cout<<a_function_with_a_name_of_more_than_forty_letters_in_it ( v )<<'\n' ;
	Grid g ( 2 , 2 ) ; g . at ( 1 , 1 ) = 5 ; g ( 0 , 1 ) += 2 ; g.at(1,1)++;
	cout << g.at ( 1 , 1 ) << g(0,1) << endl ;
	do { for ( auto x : v ) cout << x ; cout << ' ' ; } while ( next_permutation ( all ( v ) ) ) ;
	cout<<endl;
	map<string,vector<int>>m;m["a"].pb(1);
	auto it=lower_bound(v.begin(),v.end(),2);
	cout<<it-v.begin()<<*it<<m["a"].size()<<endl;
}
