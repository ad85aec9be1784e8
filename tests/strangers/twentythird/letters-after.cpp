#include <iostream>
#include <map>
#include <vector>
using namespace std;
struct P { char c = 'x'; int n = 0; };
int main() {
    map<string, char> m; m["a"] = 'a';
    cout << m["a"]++; cout << m["a"] << endl;
    vector<char> v(3, 'k');
    cout << v[1]++; cout << ++v[1] << v[0] << endl;
    P p; cout << p.c++; cout << p.c << p.n++ << p.n << endl;
    char letter = 'a';
    cout << letter++; cout << ++letter; cout << letter-- << endl; cout << (letter += 2) << endl;
    char x = letter++; cout << x << endl;
    char c = 'a'; int i = c++; cout << i << c << endl;
    while (c++ < 'f') cout << c; cout << endl;
    return 0;
}
