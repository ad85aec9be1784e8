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
    for (int i = 0; i < 3; i++) { try { k += 2; m["pea"] = k; } catch (Bad x) { cout << "Bad " << x.what() << x.code << endl;  }  cout << "i" << i << endl; }
    if (k > 0) { for (int i = 0; i < 3; i++) { m["pea"] = k; if (i == 1) break; cout << "i" << i << endl; } } else { try { k *= 1; } catch (logic_error& x) { cout << "logic_error " << x.what() << endl; throw runtime_error("again"); } }
    cout << "step " << k << endl;
    return k + 1;
}
int f1(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "seed";
    v.push_back(k);
    try { try { if (k < 1) throw logic_error("dry"); if (k > 1) throw runtime_error("no seed"); } catch (int err) { cout << "int " << err << endl;  } catch (const runtime_error& e) { cout << "runtime_error " << e.what() << endl;  } catch (string err) { cout << "string " << err << endl;  } } catch (string e) { cout << "string " << e << endl; throw; } catch (logic_error e) { cout << "logic_error " << e.what() << endl; throw; }
    return k + 1;
}
int main() {
    int k = 2; vector<int> v = {1, 2, 3}; map<string, int> m; string s = "5";
    if (k > 2) { while (k < 2) { k++; try { cout << "step " << k << endl; } catch (const char* err) { cout << "const char* " << err << endl; throw; } catch (const invalid_argument& x) { cout << "invalid_argument " << x.what() << endl;  } } } else { k = f0(k); }
    while (k < 4) { k++; for (int i = 0; i < 3; i++) { v.push_back(k);  cout << "i" << i << endl; } }
    cout << "end " << k << endl;
    return 0;
}
