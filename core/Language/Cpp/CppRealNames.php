<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\Cpp;

/** Names that C++ has and that are not read here. */
final class CppRealNames
{
    /** What is kept, can be done and called. */
    public const NAMES = ''
        .'reset flush imbue join detach joinable lock unlock try_lock fetch_add flip to_ulong time_since_epoch insert_after before_begin erase_after setstate narrow widen message category splice remove_if '
        .'key_comp value_comp bucket_count load_factor rehash cbegin cend crend crbegin seekp owner_before push_heap '
        .'abort adjacent_difference adjacent_find advance allocate_shared apply async atexit atof atoi atol bad binary_search bind bsearch calloc capacity '
        .'cbrt clamp clock close contains copy_if copy_n copysign crbegin cref data declval difftime distance emplace emplace_hint empty ends_with equal equal_range '
        .'erf erfc exchange exclusive_scan expm1 extract fclose fdim fgets fill fill_n find_end find_first_not_of find_first_of find_if find_if_not '
        .'find_last_not_of find_last_of flags fma fopen for_each for_each_n forward fprintf free frexp from_chars gcd generate generate_n get get_if get_money '
        .'get_time getchar getenv gets good holds_alternative hypot ignore includes inclusive_scan inner_product inplace_merge insert_or_assign invoke iota '
        .'is_open is_sorted is_sorted_until isblank iscntrl isgraph isprint isxdigit iter_swap lcm ldexp lerp lexicographical_compare lgamma llround localtime '
        .'log1p lower_bound lrint lround make_shared make_unique malloc max_size mem_fn memcmp memcpy memmove memset merge midpoint minmax minmax_element '
        .'mismatch mktime modf nearbyint next_permutation nextafter nth_element open partial_sort partial_sum partition peek perror precision prev '
        .'prev_permutation put put_time putchar puts qsort quick_exit quoted rand rbegin rdstate read realloc reduce ref regex_match regex_replace '
        .'regex_search remainder remove_copy rend replace_copy replace_if reserve rint rotate rotate_copy sample scanf search search_n seekg set_difference '
        .'set_intersection set_symmetric_difference set_union setf shrink_to_fit shuffle size snprintf sprintf srand sscanf ssize stable_partition stable_sort '
        .'starts_with stof stold stoul stoull strcat strchr strcmp strcpy strftime strlen strncmp strncpy strstr strtod strtok strtol swap_ranges system tellg '
        .'eof exceptions fail gcount get_deleter has_value hash_code putback rdbuf release sync sync_with_stdio '
        .'tellp tie unget unique use_count wait wait_for '
        .'tgamma thread div ldiv lldiv strerror strspn strcspn strpbrk vprintf strtoul strtof time to_chars to_wstring transform_reduce try_emplace unique_copy unsetf upper_bound visit width write ';
    /** Types by their names. */
    public const TYPES = 'time_t tm clock_t string_view wstring u16string u32string wchar_t char8_t char16_t char32_t byte int8_t intmax_t uintmax_t intptr_t uintptr_t streamsize streampos thread mutex jthread filebuf '
        .'random_device mt19937 mt19937_64 default_random_engine div_t ldiv_t FILE va_list errc error_code locale regex smatch cmatch any monostate type_info type_index ';
    /** What is read as what lists can do, and called by itself besides. */
    public const FREE = 'accumulate all_of any_of copy distance count count_if fill find find_if getline iota max_element memcmp memcpy memset min_element none_of remove remove_if replace reverse rotate sort stable_sort swap transform unique ';
}
