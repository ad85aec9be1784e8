#include <iostream>
#include <stdexcept>
#include <string>
#include <vector>
#include <map>
using namespace std;
class Bad : public runtime_error {
public:
    int code;
    Bad(const string& why, int c) : runtime_error("bad: " + why), code(c) {}
};
class Worse : public Bad { public: Worse(int c) : Bad("worse", c * 10) {} };
struct Plain { int n; };

int f0(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "";
    try { while (k < 4) { k++; m["pea"] = k; } k *= 1; } catch (string& e) { cout << "string " << e << endl; k++; }
    try { while (k < 3) { k++; cout << v.at(k) << endl; } if (k == 2) throw logic_error("no seed"); try { k *= 1; } catch (const exception& err) { cout << "exception " << err.what() << endl; return -1; } catch (const string& e) { cout << "string " << e << endl; k++; } } catch (const char* e) { cout << "const char* " << e << endl;  }
    return k + 1;
}
int f1(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "7";
    if (k > 2) { cout << m.at("pea") << endl; } else { if (k > 0) { k *= 1; } else { cout << v.at(k) << endl; } }
    try { try { cout << stoi(s) << endl; k += 2; s = "12"; } catch (const exception& x) { cout << "exception " << x.what() << endl; k++; } catch (int e) { cout << "int " << e << endl; return -1; } try { m["pea"] = k; cout << v.at(k) << endl; } catch (const invalid_argument& err) { cout << "invalid_argument " << err.what() << endl; throw runtime_error("again"); } s = "12"; } catch (int x) { cout << "int " << x << endl; throw runtime_error("again"); } catch (logic_error& x) { cout << "logic_error " << x.what() << endl; throw runtime_error("again"); } catch (const exception& e) { cout << "exception " << e.what() << endl; cout << "mended" << endl; }
    while (k < 3) { k++; try { v.push_back(k); v.push_back(k); cout << stoi(s) << endl; } catch (const out_of_range& err) { cout << "out_of_range " << err.what() << endl; throw runtime_error("again"); } }
    return k + 1;
}
int main() {
    int k = 0; vector<int> v = {1, 2, 3}; map<string, int> m; string s = "5";
    for (int i = 0; i < 3; i++) { m["pea"] = k; if (i == k) continue; cout << "i" << i << endl; }
    v.push_back(k);
    try { for (int i = 0; i < 3; i++) { if (k < 0) throw invalid_argument("dry");  cout << "i" << i << endl; } try { for (int i = 0; i < 3; i++) { cout << stoi(s) << endl; if (i == 1) break; cout << "i" << i << endl; } } catch (int e) { cout << "int " << e << endl;  } } catch (...) { cout << "any" << endl; throw runtime_error("again"); }
    for (int i = 0; i < 3; i++) { if (k > 1) { cout << stoi(s) << endl; } else { try { if (k > 0) throw logic_error("dry"); k += 2; s = "12"; } catch (const string& e) { cout << "string " << e << endl;  } catch (const runtime_error& e) { cout << "runtime_error " << e.what() << endl; throw; } } if (i == 1) break; cout << "i" << i << endl; }
    cout << "end " << k << endl;
    return 0;
}
