#include <iostream>
#include <string>
#include <cctype>

std::string caesar(const std::string& text, int shift) {
    std::string out;
    for (char c : text) {
        if (std::isupper(c)) out += static_cast<char>('A' + (c - 'A' + shift + 26) % 26);
        else if (std::islower(c)) out += char('a' + (c - 'a' + shift + 26) % 26);
        else out.push_back(c);
    }
    return out;
}

bool isPalindrome(std::string s) {
    int i = 0, j = s.length() - 1;
    while (i < j) {
        while (i < j && !isalnum(s[i])) i++;
        while (i < j && !isalnum(s[j])) j--;
        if (tolower(s[i]) != tolower(s[j])) return false;
        ++i; --j;
    }
    return true;
}

int main() {
    std::string line;
    int n = 0;
    while (std::getline(std::cin, line)) {
        if (line == "stop") break;
        if (line.empty()) { std::cout << "(empty)\n"; continue; }
        std::cout << ++n << ": " << caesar(line, 3) << " | " << caesar(caesar(line, 3), -3)
                  << " | " << (isPalindrome(line) ? "palindrome" : "no") << std::endl;
        size_t pos = line.find(' ');
        if (pos != std::string::npos)
            std::cout << "   first word: " << line.substr(0, pos) << ", rest: " << line.substr(pos + 1) << std::endl;
        int counts[26] = {0};
        for (unsigned i = 0; i < line.size(); i++)
            if (isalpha(line[i])) counts[tolower(line[i]) - 'a']++;
        int best = 0;
        for (int k = 1; k < 26; k++) if (counts[k] > counts[best]) best = k;
        std::cout << "   most: " << (char)('a' + best) << " x" << counts[best] << std::endl;
    }
    return 0;
}
