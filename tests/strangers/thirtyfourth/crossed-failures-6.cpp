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
    vector<int> v = {5, 6}; map<string, int> m; string s = "seed";
    try { for (int i = 0; i < 3; i++) { cout << m.at("pea") << endl; if (i == k) continue; cout << "i" << i << endl; } try { s = "12"; } catch (const Bad& err) { cout << "Bad " << err.what() << err.code << endl;  } k *= 1; } catch (const runtime_error& x) { cout << "runtime_error " << x.what() << endl; throw; } catch (...) { cout << "any" << endl;  }
    try { if (k > 2) { m["pea"] = k; } else { v.push_back(k); } m["pea"] = k; } catch (...) { cout << "any" << endl; throw; }
    return k + 1;
}
int f1(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "";
    k *= 1;
    try { for (int i = 0; i < 3; i++) { k += 2; if (i == 1) break; cout << "i" << i << endl; } } catch (const runtime_error& e) { cout << "runtime_error " << e.what() << endl;  }
    return k + 1;
}
int main() {
    int k = 2; vector<int> v = {1, 2, 3}; map<string, int> m; string s = "5";
    for (int i = 0; i < 3; i++) { k += 2; if (i == k) continue; cout << "i" << i << endl; }
    try { try { k = f1(k); try { cout << "step " << k << endl; k += 2; k = f1(k); } catch (const char* x) { cout << "const char* " << x << endl;  } } catch (const char* x) { cout << "const char* " << x << endl;  } catch (invalid_argument err) { cout << "invalid_argument " << err.what() << endl;  } catch (...) { cout << "any" << endl;  } } catch (const runtime_error& e) { cout << "runtime_error " << e.what() << endl; cout << "mended" << endl; } catch (const char* e) { cout << "const char* " << e << endl; k++; }
    if (k > 0) { try { while (k < 2) { k++; cout << v.at(k) << endl; } try { cout << stoi(s) << endl; cout << "step " << k << endl; } catch (logic_error err) { cout << "logic_error " << err.what() << endl;  } for (int i = 0; i < 3; i++) { k = f1(k); if (i == k) continue; cout << "i" << i << endl; } } catch (logic_error e) { cout << "logic_error " << e.what() << endl; cout << "mended" << endl; } catch (exception& x) { cout << "exception " << x.what() << endl; throw; } } else { try { for (int i = 0; i < 3; i++) { cout << m.at("pea") << endl; if (i == 1) break; cout << "i" << i << endl; } } catch (int x) { cout << "int " << x << endl; throw; } catch (exception e) { cout << "exception " << e.what() << endl;  } }
    try { for (int i = 0; i < 3; i++) { if (k > 1) { v.push_back(k); } else { k = f0(k); } if (i == 1) break; cout << "i" << i << endl; } for (int i = 0; i < 3; i++) { while (k < 2) { k++; if (k == 3) throw overflow_error("dry"); } if (i == k) continue; cout << "i" << i << endl; } if (k > 0) { v.push_back(k); } else { while (k < 3) { k++; k += 2; } } } catch (invalid_argument e) { cout << "invalid_argument " << e.what() << endl;  }
    cout << "end " << k << endl;
    return 0;
}
