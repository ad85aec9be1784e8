#include <iostream>
#include <sstream>
#include <string>
using namespace std;
int main() {
    stringstream s("a\nb\n"); string line = "x"; int n = 0;
    while (!s.eof()) { getline(s, line); cout << ++n << "[" << line << "]"; }
    cout << endl;
    line = "kept"; getline(s, line); cout << line << endl;
    stringstream t("1 2"); int v; t >> v >> v; string w = "old"; t >> w; cout << v << w << t.fail() << endl;

}
