#include <iostream>
#include <string>
#include <vector>
#include <algorithm>
using namespace std;
void more();
int main() { more();
    string s = "abcdef"; s.erase(s.begin() + 1); cout << s << endl; s.erase(3); cout << s << endl; s.erase(s.begin()); cout << s << endl; s.erase(0, 1); cout << s << endl;
    string t = "a-b-c"; t.erase(remove(t.begin(), t.end(), '-'), t.end()); cout << t << endl;
    vector<int> v{1,2,3}; v.erase(v.begin()); v.erase(v.begin() + 1); cout << v.size() << v[0] << endl;
    v.insert(v.end(), 9); v.insert(v.begin(), 0); v.insert(v.begin() + 1, 5); for (int x : v) cout << x; cout << endl;
    int b[] = {3, 1, 2}; int n = sizeof(b) / sizeof(b[0]); sort(b, b + n); cout << b[0] << *max_element(b, b + n) << sizeof(b) << sizeof(n) << endl;
}
void more() {
    string t = "aa1b22"; t.erase(remove_if(t.begin(), t.end(), [](char c) { return c >= '0' && c <= '9'; }), t.end()); cout << t << endl;
    t.erase(unique(t.begin(), t.end()), t.end()); cout << t << endl;
    string u = "xyz"; fill(u.begin(), u.end(), '*'); cout << u << endl; replace(u.begin(), u.end(), '*', '#'); cout << u << endl;
    reverse(u.begin(), u.end()); cout << u << endl;
}
