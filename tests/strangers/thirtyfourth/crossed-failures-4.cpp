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
    try { if (k > 3) { cout << v.at(k) << endl; } else { s = "12"; } for (int i = 0; i < 3; i++) { k += 2;  cout << "i" << i << endl; } } catch (const Bad& err) { cout << "Bad " << err.what() << err.code << endl;  }
    return k + 1;
}
int f1(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "seed";
    try { for (int i = 0; i < 3; i++) { m["pea"] = k;  cout << "i" << i << endl; } k *= 1; } catch (const logic_error& x) { cout << "logic_error " << x.what() << endl; k++; } catch (const string& err) { cout << "string " << err << endl;  }
    try { k *= 1; try { cout << m.at("pea") << endl; } catch (int e) { cout << "int " << e << endl; k++; } catch (const out_of_range& x) { cout << "out_of_range " << x.what() << endl;  } } catch (const out_of_range& e) { cout << "out_of_range " << e.what() << endl;  }
    return k + 1;
}
int main() {
    int k = 0; vector<int> v = {1, 2, 3}; map<string, int> m; string s = "5";
    if (k > 1) { try { while (k < 4) { k++; cout << "step " << k << endl; } m["pea"] = k; } catch (int e) { cout << "int " << e << endl;  } } else { if (k > 2) { try { if (k < 1) throw domain_error("x y"); k = f0(k); k += 2; } catch (runtime_error e) { cout << "runtime_error " << e.what() << endl; cout << "mended" << endl; } } else { try { k = f1(k); m["pea"] = k; } catch (const string& e) { cout << "string " << e << endl;  } catch (const char* err) { cout << "const char* " << err << endl; cout << "mended" << endl; } } }
    if (k > 1) throw runtime_error("no seed");
    for (int i = 0; i < 3; i++) { cout << v.at(k) << endl;  cout << "i" << i << endl; }
    cout << stoi(s) << endl;
    cout << "end " << k << endl;
    return 0;
}
