#include <bits/stdc++.h>
using namespace std;
struct averyveryverylongnameofastructurethatnobodywouldwritebutsomebodydoes { int averyveryverylongfieldnamethatisaslongasthat; }; int main() { vector<averyveryverylongnameofastructurethatnobodywouldwritebutsomebodydoes> v{{2},{1}} ,w( v . begin( ) , v.end () ); sort( w.begin() ,w.end(), []( const auto & a , const auto & b ){ return a.averyveryverylongfieldnamethatisaslongasthat<b.averyveryverylongfieldnamethatisaslongasthat ; } ) ; cout<<v[0].averyveryverylongfieldnamethatisaslongasthat<<w[0].averyveryverylongfieldnamethatisaslongasthat; }
