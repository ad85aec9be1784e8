#include <iostream>
#include <map>
using namespace std;
int n = 0;
string k() { n++; return "b"; }
int main() {
    map<string, int> m{{"a", 1}, {"b", 6}};
    m[k()] |= 8;
    m[k()] <<= 1;
    m[k()] &= 30;
    m[k()] >>= 1;
    int x = (m[k()] ^= 1);
    cout << m["b"] << " " << n << " " << x << endl;
    m[k()] %= 7;
    cout << m["b"] << " " << n << endl;
}
