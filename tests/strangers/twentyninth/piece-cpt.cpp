#include <bits/stdc++.h>
using namespace std;
struct P { string name; };
int main() {
    string s = "Hello 12 World", t = "> ", u;
    copy_if(s.begin(), s.end(), back_inserter(t), [](unsigned char c) { return isalpha(c); });
    cout << t << endl;
    copy_if(s.begin(), s.end(), back_inserter(u), ::isdigit);
    cout << u << endl;
    P p{"x"};
    copy_if(s.begin(), s.end(), back_inserter(p.name), [](char c) { return c != 'o'; });
    cout << p.name << endl;
    string w;
    transform(s.begin(), s.end(), back_inserter(w), ::toupper);
    cout << w << endl;
    string x;
    copy(s.begin(), s.end(), back_inserter(x));
    cout << x << endl;
}
